-- What happens in a lesson beside trials: the clock, scores, what was said and noted, and hits out of tries. Append-only.

create table lesson_event (
    id uuid primary key,
    school_id uuid not null,
    lesson_id uuid not null,
    segment_id uuid,
    kind text not null check (kind in ('CLOCK', 'SCORE', 'TALK', 'VOTE', 'NOTE')),
    body jsonb not null,
    by_person uuid not null references person,
    device_id uuid not null,
    device_seq bigint not null,
    at timestamptz not null,
    received_at timestamptz not null,
    foreign key (school_id, lesson_id) references lesson (school_id, id),
    foreign key (school_id, device_id) references device (school_id, id),
    unique (school_id, id)
);
create index lesson_event_lesson on lesson_event (school_id, lesson_id, at);
comment on column lesson_event.body is 'what the kind says; no names of children, only ids';

create table hit_set (
    id uuid primary key,
    school_id uuid not null,
    child_id uuid not null,
    lesson_id uuid not null,
    segment_id uuid,
    skill_key text not null,
    hits integer not null check (hits between 0 and 100),
    missed_left integer not null default 0 check (missed_left between 0 and 100),
    missed_right integer not null default 0 check (missed_right between 0 and 100),
    missed_short integer not null default 0 check (missed_short between 0 and 100),
    missed_long integer not null default 0 check (missed_long between 0 and 100),
    missed integer not null default 0 check (missed between 0 and 100),
    distance_mm integer check (distance_mm between 100 and 100000),
    width_mm integer check (width_mm between 10 and 20000),
    side text check (side in ('LEFT', 'RIGHT')),
    item_key text,
    observer uuid not null references person,
    device_id uuid not null,
    device_seq bigint not null,
    at timestamptz not null,
    received_at timestamptz not null,
    foreign key (school_id, child_id) references child (school_id, id),
    foreign key (school_id, lesson_id) references lesson (school_id, id),
    foreign key (school_id, device_id) references device (school_id, id),
    unique (school_id, id)
);
create index hit_set_child on hit_set (school_id, child_id, at);
comment on column hit_set.missed is 'misses whose way was not said';

-- What was counted or noted by mistake is taken back by a row, like a trial.
create table event_void (
    id uuid primary key,
    school_id uuid not null,
    event_id uuid not null,
    by_person uuid not null references person,
    at timestamptz not null,
    received_at timestamptz not null,
    unique (school_id, id)
);
create index event_void_event on event_void (school_id, event_id);
