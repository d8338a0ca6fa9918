-- What a school's own records say of how children differ, and how often what was believed came true.
create table school_belief (
    id uuid primary key,
    school_id uuid not null unique references school,
    counted_at timestamptz not null,
    looks integer not null,
    fitted boolean not null,
    priors jsonb not null,
    tenths jsonb not null,
    unique (school_id, id)
);
comment on table school_belief is 'counted anew each night from the looks; may be deleted';
