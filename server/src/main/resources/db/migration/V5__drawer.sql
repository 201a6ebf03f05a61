-- What was removed from drawer and shelf stays for the tickets that name it; kept cloths can be changed.
alter table press add column gone boolean not null default false;
alter table material add column gone boolean not null default false;
alter table cloth add column version integer not null default 1;
