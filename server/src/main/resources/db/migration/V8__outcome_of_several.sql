-- Media that were pressed on the same pieces beside the one in medium. What came out good was good for
-- all of them; what came out bad counts for the one it was seen on.
alter table outcome add column also jsonb not null default '[]';
