-- What a lesson that fits is worked out from, beside the plan: who sits out, groups, floors, test rolls, cautions.

-- Here, but cannot take part today: gets a job.
alter table register_event add column sits_out boolean not null default false;

-- Rules of caution that only warn at this school; those of the fixed floor are never taken from here.
alter table school add column softened jsonb not null default '[]';

-- How a class is grouped: the newest is in force, the earlier ones say who has been with whom.
create table group_set (
    id uuid primary key,
    school_id uuid not null references school,
    class_id uuid not null,
    way text check (way in ('COUNT_OFF', 'BALANCED', 'SHARED_NEED', 'SAME_SIDE', 'MIXED_SIDES', 'FRESH')),
    groups jsonb not null,
    made_at timestamptz not null,
    made_by uuid not null references person,
    version integer not null default 0,
    unique (school_id, id),
    foreign key (school_id, class_id) references school_class (school_id, id)
);
create index group_set_newest on group_set (school_id, class_id, made_at desc);
comment on column group_set.way is 'null for groups made by hand';
comment on column group_set.groups is 'children by group, in their order';

-- What was changed by hand about how one segment is laid out.
create table segment_setting (
    id uuid primary key,
    school_id uuid not null references school,
    lesson_id uuid not null,
    segment_id uuid not null,
    activity text not null,
    body jsonb not null,
    version integer not null default 0,
    unique (school_id, id),
    unique (school_id, segment_id),
    foreign key (school_id, lesson_id) references lesson (school_id, id)
);
comment on column segment_setting.activity is 'holds only as long as the segment is this activity';

-- Three test rolls on the floor outrank the computation.
create table test_roll (
    id uuid primary key,
    school_id uuid not null references school,
    ball text not null,
    target text not null,
    fell integer not null check (fell between 0 and 3),
    at timestamptz not null,
    version integer not null default 0,
    unique (school_id, id),
    unique (school_id, ball, target)
);
