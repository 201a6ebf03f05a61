-- Blades and mats of the cutter, and what each has behind it; the one fitted last is the one in use.
create table cutter_part (
    id uuid primary key,
    owner text not null,
    part text not null,
    fitted_at timestamptz not null,
    wear double precision not null
);
create index cutter_part_by_time on cutter_part (owner, part, fitted_at desc);
