-- Rows and sum of every table: the sum does not depend on the order of the rows, and finds one that is there twice.
set local timezone = 'UTC';
set local datestyle = 'ISO, YMD';
set local intervalstyle = 'iso_8601';
set local bytea_output = 'hex';
set local extra_float_digits = 1;
select format('select %L || count(*) || '' '' || coalesce(sum((''x'' || left(md5(t::text), 15))::bit(60)::bigint), 0) from %I.%I t',
    'table ' || regexp_replace(c.relname, '\s', '?', 'g') || ' ', n.nspname, c.relname)
  from pg_catalog.pg_class c join pg_catalog.pg_namespace n on n.oid = c.relnamespace
  where n.nspname = 'public' and c.relkind = 'r'
  order by c.relname collate "C" \gexec
