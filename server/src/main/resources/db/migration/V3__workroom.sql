-- The air that a shop's cloth has lain in; without a row it is the usual room.
create table workroom (
  owner text primary key,
  air_c double precision not null,
  humidity double precision not null,
  version integer not null
);
