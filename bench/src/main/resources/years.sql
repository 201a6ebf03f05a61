-- Ten years of a shop, from one ticket that is there with its plan: 25,000 tickets, 3,000 cloths, 100,000 runs with
-- 500,000 events and 100,000 outcomes. Alike on every machine: chance comes from the numbers themselves.
-- Parameters: template (the ticket).

create temporary table template as
  select t.*, p.id as plan_id, p.schema, p.rules, p.request, p.body
  from ticket t join plan p on p.ticket_id = t.id where t.id = :'template'::uuid;

create function pg_temp.made(kind text, n integer) returns uuid language sql immutable as
  $$ select md5(kind || ' ' || n)::uuid $$;

create function pg_temp.word(n integer) returns text language sql immutable as
  $$ select (array['Harbour Rowers', 'Grey Heron Ferries', 'Lantern Guild', 'Quay Players', 'Tide School',
    'North Pier Cafe', 'Sail Loft', 'Regatta Club', 'Boat Builders', 'Choir of the Mole'])[1 + n % 10] $$;

insert into ticket (id, owner, number, title, customer, due_at, pieces, press_id, station, garment, decorations, roster,
    search, version, created_at, updated_at)
  select pg_temp.made('ticket', n), owner, 1000 + n, 'Order ' || n, pg_temp.word(n),
    now() - (25000 - n) * interval '3 hours', 40, press_id, case when n > 24900 then 'PRESS' else 'DONE' end,
    garment, decorations, roster, lower('vk-' || 1000 + n || ' order ' || n || ' ' || pg_temp.word(n)), 1,
    now() - (25000 - n) * interval '3 hours', now() - (25000 - n) * interval '3 hours'
  from template, generate_series(1, 25000) as n;

insert into plan (id, owner, ticket_id, number, schema, rules, request, body, created_at)
  select pg_temp.made('plan', n), owner, pg_temp.made('ticket', n), 1, schema, rules, request, body, now()
  from template, generate_series(1, 25000) as n;

insert into run (id, owner, ticket_id, plan_id, started_at, steps, progress, reported)
  select pg_temp.made('run', n), owner, pg_temp.made('ticket', 1 + n % 25000), pg_temp.made('plan', 1 + n % 25000),
    now() - (100000 - n) * interval '45 minutes', jsonb_array_length(body -> 'steps'),
    '{"pieces": [], "aside": [], "trouble": 5, "screen": null}', 5
  from template, generate_series(1, 100000) as n;

insert into run_event (run_id, sequence, client_event_id, kind, step, client_at, received_at)
  select pg_temp.made('run', n), e, pg_temp.made('event', n * 5 + e), 'SOMETHING_WRONG', null,
    now() - (100000 - n) * interval '45 minutes', now() - (100000 - n) * interval '45 minutes'
  from generate_series(1, 100000) as n, generate_series(1, 5) as e;

insert into outcome (run_id, owner, ticket_id, medium, cloth, good, bad, body, also, logged_at,
    keep_back_until)
  select pg_temp.made('run', n), owner, pg_temp.made('ticket', 1 + n % 25000), 'film-smooth',
    (array['JERSEY', 'FLEECE', 'MESH', 'CANVAS', 'INTERLOCK'])[1 + n % 5] || ': '
      || (array['COTTON', 'POLYESTER', 'LINEN', 'WOOL'])[1 + n % 4] || ' 100; NONE; STAYS',
    9, case when n % 7 = 0 then 1 else 0 end,
    '{"good": 9, "bad": 0, "seen": ["GOOD_BOND"], "temperature": null, "time": null, "note": ""}', '[]',
    now() - (100000 - n) * interval '45 minutes', now() - (100000 - n) * interval '45 minutes'
  from template, generate_series(1, 100000) as n;

insert into learnt (owner, medium, cloth, good, bad)
  select owner, medium, cloth, sum(good), sum(bad) from outcome
  group by owner, medium, cloth
  on conflict (owner, medium, cloth) do update set good = excluded.good, bad = excluded.bad;

insert into cloth (id, owner, position, name, garment, version)
  select pg_temp.made('cloth', n), owner, n, 'cloth ' || n, jsonb_set(garment, '{name}', to_jsonb('cloth ' || n)), 1
  from template, generate_series(1, 3000) as n;

vacuum analyze;
