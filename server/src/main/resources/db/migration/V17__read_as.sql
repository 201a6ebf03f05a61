-- What no blade can cut as it is drawn may be read in another way; such a reading is a drawing of its own.
alter table art add column read_as jsonb;
alter table art add column again_of uuid references art;
create index art_again on art (again_of);
-- What was read before did not say whether there is text or a gradient in it: it is read once more.
update art set reading = null;
