-- Where a run stands, told on as its events come, so that a report reads one row and not all that went before it.
-- Null in runs that began before: they are told once when they are asked for.
alter table run add column steps integer;
alter table run add column step integer not null default 1;
alter table run add column pieces_done integer not null default 0;
alter table run add column trouble integer not null default 0;
alter table run add column reported integer not null default 0;

-- Good and bad pieces of a medium on a kind of cloth, summed as they are logged. What came out good was good for all
-- media on the piece; a bad one counts for its own.
create table learnt (
  owner text not null,
  medium text not null,
  fabric text not null,
  main_fibre text not null,
  good integer not null,
  bad integer not null,
  primary key (owner, medium, fabric, main_fibre)
);
insert into learnt
  select owner, medium, fabric, main_fibre, sum(good), sum(bad)
  from (
    select owner, medium, fabric, main_fibre, good, bad from outcome
    union all
    select owner, other, fabric, main_fibre, good, 0 from outcome, jsonb_array_elements_text(also) as other
  ) as each
  group by owner, medium, fabric, main_fibre;

create index outcome_by_ticket on outcome (ticket_id);
create index ticket_by_open on ticket (owner, (station = 'DONE'), due_at, number);
create index ticket_by_station on ticket (owner, station, due_at, number);
create extension if not exists pg_trgm;
create index ticket_by_words on ticket using gin (search gin_trgm_ops);
