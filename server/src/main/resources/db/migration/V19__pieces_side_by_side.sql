-- Several pieces of a run stand at several steps, their times run beside one another, and every screen tells the same.
alter table run_event add column piece integer;
alter table run_event add column seconds integer;
alter table run_event add column screen uuid;

-- Null in runs that began before their progress was told on: they are told once when they are asked for.
alter table run add column progress jsonb;
update run set progress = jsonb_build_object(
    'pieces', case when step = 1 then '[]'::jsonb else jsonb_build_array(
      jsonb_build_object('piece', pieces_done + 1, 'step', step, 'timer', null)) end,
    'aside', (select coalesce(jsonb_agg(n), '[]'::jsonb) from generate_series(1, pieces_done) as n),
    'trouble', trouble,
    'screen', null)
  where steps is not null;
alter table run drop column step;
alter table run drop column pieces_done;
alter table run drop column trouble;
