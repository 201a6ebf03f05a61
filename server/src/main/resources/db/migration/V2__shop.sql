-- Remembers that a shop was opened once, so that the demo is loaded at the very first start only.
create table shop (
  owner text primary key,
  opened_at timestamptz not null,
  demo boolean not null
);
