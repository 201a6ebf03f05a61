-- Names, numbers and sizes of a team or a cast.
alter table ticket add column roster jsonb not null default '[]';
