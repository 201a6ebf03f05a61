-- A shop's presses, materials and cloths; tickets with their plans; runs with what happened; outcomes.
-- Every row has an owner, so that accounts come without a rewrite.

create table press (
  id uuid primary key,
  owner text not null,
  name text not null,
  kind text not null,
  platen_width_mm double precision not null,
  platen_depth_mm double precision not null,
  reads_high_k double precision not null,
  give_or_take_k double precision not null,
  measured boolean not null,
  position integer not null,
  version integer not null
);

create table material (
  id uuid primary key,
  owner text not null,
  position integer not null,
  body jsonb not null
);

create table cloth (
  id uuid primary key,
  owner text not null,
  position integer not null,
  name text not null,
  fabric text not null,
  main_fibre text not null,
  garment jsonb not null
);

create table ticket (
  id uuid primary key,
  owner text not null,
  number integer not null,
  title text not null,
  customer text not null,
  due_at timestamptz not null,
  pieces integer not null,
  press_id uuid not null references press,
  station text not null,
  garment jsonb not null,
  decorations jsonb not null,
  search text not null,
  version integer not null,
  created_at timestamptz not null,
  updated_at timestamptz not null,
  unique (owner, number)
);
create index ticket_by_due on ticket (owner, due_at, number);

-- A plan is stored as made and never changes: its request carries copies of the material's sheet and the press's calibration.
create table plan (
  id uuid primary key,
  owner text not null,
  ticket_id uuid not null references ticket,
  number integer not null,
  schema integer not null,
  rules text not null,
  request jsonb not null,
  body jsonb not null,
  created_at timestamptz not null,
  unique (ticket_id, number)
);

create table run (
  id uuid primary key,
  owner text not null,
  ticket_id uuid not null references ticket,
  plan_id uuid not null references plan,
  started_at timestamptz not null
);
create index run_by_ticket on run (ticket_id, started_at);

-- Append-only. The browser's id makes a repeated report harmless; the sequence gives the order of receipt.
create table run_event (
  run_id uuid not null references run,
  sequence integer not null,
  client_event_id uuid not null,
  kind text not null,
  step integer,
  client_at timestamptz not null,
  received_at timestamptz not null,
  primary key (run_id, sequence),
  unique (run_id, client_event_id)
);

create table outcome (
  run_id uuid primary key references run,
  owner text not null,
  ticket_id uuid not null references ticket,
  medium text not null,
  fabric text not null,
  main_fibre text not null,
  good integer not null,
  bad integer not null,
  body jsonb not null,
  logged_at timestamptz not null,
  keep_back_until timestamptz not null
);
create index outcome_by_cloth on outcome (owner, fabric, main_fibre);
create index outcome_by_keep_back on outcome (owner, keep_back_until);

-- A shop has at least one press; this one is to be renamed and measured.
insert into press values
  ('00000000-0000-4000-8000-000000000001', 'shop', 'Plate press', 'PLATE_CLAM', 380, 380, 0, 10, false, 0, 1);
