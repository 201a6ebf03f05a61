-- Drawings as they came in, and how a ticket's art is cut: what was chosen, and where it lies on the mats.
create table art (
    id uuid primary key,
    owner text not null,
    name text not null,
    source bytea not null,
    created_at timestamptz not null
);
create index art_by_time on art (owner, created_at desc);

create table ticket_cut (
    ticket_id uuid primary key references ticket,
    owner text not null,
    version integer not null,
    form jsonb not null,
    layout jsonb,
    updated_at timestamptz not null
);
