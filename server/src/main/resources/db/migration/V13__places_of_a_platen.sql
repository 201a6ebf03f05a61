-- All nine places that were measured, in place of the coldest alone. Of a press that was measured
-- before, nobody knows which corner it was: each of them may be.

alter table press add column places jsonb;

update press
set places = jsonb_build_object('places', jsonb_build_array(
    -coldest_k, 0.8 * coldest_k, -coldest_k,
    0.8 * coldest_k, 0.8 * coldest_k, 0.8 * coldest_k,
    -coldest_k, 0.8 * coldest_k, -coldest_k))
where coldest_k between 0 and 60;

alter table press drop column coldest_k;
