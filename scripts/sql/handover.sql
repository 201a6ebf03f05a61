-- Older versions worked as the cluster's own role, which cannot be told to give away everything at once.
alter schema public owner to pg_database_owner;
select format('alter %s %I.%I owner to shop',
    case c.relkind when 'S' then 'sequence' when 'v' then 'view' when 'm' then 'materialized view' else 'table' end,
    n.nspname, c.relname)
  from pg_class c join pg_namespace n on n.oid = c.relnamespace
  where n.nspname = 'public' and c.relkind in ('r', 'p', 'v', 'm', 'S') and c.relowner <> 'shop'::regrole
    and not exists (select from pg_depend d where d.objid = c.oid and d.deptype in ('a', 'i', 'e')
      and d.classid = 'pg_class'::regclass)
  order by c.relkind <> 'r' \gexec
select format('alter routine %s owner to shop', p.oid::regprocedure)
  from pg_proc p join pg_namespace n on n.oid = p.pronamespace
  where n.nspname = 'public' and p.proowner <> 'shop'::regrole
    and not exists (select from pg_depend d where d.objid = p.oid and d.deptype = 'e') \gexec
