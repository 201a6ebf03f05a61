-- The sums of the bench: what was typed for one thing of a ticket, a row for each kind of sum.
create table ticket_sum (
    ticket_id uuid not null references ticket,
    decoration text not null,
    kind text not null,
    owner text not null,
    version integer not null,
    form jsonb not null,
    updated_at timestamptz not null,
    primary key (ticket_id, decoration, kind)
);
