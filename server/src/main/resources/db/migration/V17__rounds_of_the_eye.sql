-- Rounds in which somebody trained the eye: what was there, and what was pressed. They are that person's own.
create table eye_round (
    id uuid primary key,
    school_id uuid not null references school,
    person_id uuid not null references person,
    at timestamptz not null,
    cue_key text not null,
    level text not null check (level in ('FIRST', 'SECOND', 'THIRD', 'FOURTH', 'FIFTH')),
    stand text not null check (stand in ('BEST', 'FRONT', 'SIDE', 'BEHIND')),
    age integer not null,
    seed bigint not null,
    answers jsonb not null,
    version integer not null default 0,
    unique (school_id, id)
);
create index eye_round_person on eye_round (school_id, person_id, at);
comment on table eye_round is 'may be deleted by whose they are';

-- Who lets the own rounds say how often the own looks in the hall err.
create table eye_leave (
    id uuid primary key,
    school_id uuid not null references school,
    person_id uuid not null references person,
    at timestamptz not null,
    version integer not null default 0,
    unique (school_id, id),
    unique (school_id, person_id)
);
