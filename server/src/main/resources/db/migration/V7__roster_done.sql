-- Pieces of a roster that are ticked off. An entry is known by what it says, so that the list may be
-- sorted or added to; the second of two alike has its own number.
create table roster_done (
    owner text not null,
    ticket_id uuid not null references ticket (id),
    entry text not null,
    done_at timestamptz not null,
    primary key (owner, ticket_id, entry)
);
