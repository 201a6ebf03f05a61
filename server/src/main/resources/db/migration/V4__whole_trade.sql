-- What a press can really give: its closing force and scale, a clad platen, the tips of a wand.
alter table press add column newtons double precision;
alter table press add column scale integer;
alter table press add column clad_in_ptfe boolean not null default false;
alter table press add column tips jsonb not null default '[]';

-- Materials can be edited, in more than one tab.
alter table material add column version integer not null default 1;

-- Where makers disagree: what this shop keeps to; without a row it is our way.
create table schools (
  owner text primary key,
  kept jsonb not null,
  version integer not null
);
