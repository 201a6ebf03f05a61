-- What the work lies on under a tool; null is what its kind usually has.
alter table press add column lower_side text;
