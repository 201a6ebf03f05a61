-- What was read of a drawing stands beside it, so that a page that names it need not read it again.
alter table art add column reading jsonb;
