-- The year: who may do what, the school's settings, terms and timetable, places with what is on their floor, and changes of lessons.

alter table school
    add column length_unit text not null default 'METRES' check (length_unit in ('METRES', 'FEET')),
    add column pace_cm integer not null default 75 check (pace_cm between 30 and 150),
    add column pace_whose text not null default 'the teacher' check (length(pace_whose) between 1 and 60),
    add column week_starts text not null default 'MONDAY' check (week_starts in ('MONDAY', 'SATURDAY', 'SUNDAY')),
    add column own_years jsonb not null default '{}',
    add column cautions jsonb not null default '[]',
    add column moved_up_on date,
    add column erased_trials text not null default 'KEEP' check (erased_trials in ('KEEP', 'DROP')),
    drop constraint school_year_naming_check,
    add check (year_naming in ('YEARS', 'GRADES', 'PRIMARIES', 'AGES', 'OWN'));

alter table membership add column ended_at timestamptz;

create table class_person (
    id uuid primary key,
    school_id uuid not null,
    class_id uuid not null,
    person_id uuid not null references person,
    foreign key (school_id, class_id) references school_class (school_id, id),
    foreign key (school_id, person_id) references membership (school_id, person_id),
    unique (school_id, id),
    unique (school_id, class_id, person_id)
);

-- Only the hash of a link's secret is kept; the link itself is shown once.
create table one_time_link (
    id uuid primary key,
    school_id uuid not null references school,
    secret_sha256 text not null unique check (length(secret_sha256) = 64),
    purpose text not null check (purpose in ('INVITE', 'RESET')),
    name text not null check (length(name) between 1 and 120),
    role text check (role in ('LEAD', 'TEACHER', 'ASSISTANT', 'VIEWER')),
    classes uuid[] not null default '{}',
    person_id uuid references person,
    made_by uuid not null references person,
    made_at timestamptz not null,
    expires_at timestamptz not null,
    used_at timestamptz,
    check ((purpose = 'INVITE') = (role is not null)),
    check ((purpose = 'RESET') = (person_id is not null)),
    unique (school_id, id)
);

-- Append-only. Names and other personal values of children never stand in it.
create table audit (
    id uuid primary key,
    school_id uuid not null references school,
    at timestamptz not null,
    person_id uuid references person,
    person_name text not null,
    action text not null check (action in ('ADDED', 'CHANGED', 'REMOVED', 'DID')),
    what text not null,
    details text not null default '',
    subject_id uuid,
    unique (school_id, id)
);
create index audit_at on audit (school_id, at desc);

create table calendar_feed (
    id uuid primary key,
    school_id uuid not null,
    person_id uuid not null,
    secret_sha256 text not null unique check (length(secret_sha256) = 64),
    made_at timestamptz not null,
    foreign key (school_id, person_id) references membership (school_id, person_id),
    unique (school_id, id),
    unique (school_id, person_id)
);

alter table school_class
    add column changing_minutes integer not null default 0 check (changing_minutes between 0 and 40),
    add column shoes_minutes integer not null default 0 check (shoes_minutes between 0 and 20),
    add column left_on date;

create table child_pair (
    id uuid primary key,
    school_id uuid not null,
    child_a uuid not null,
    child_b uuid not null,
    wish text not null check (wish in ('TOGETHER', 'APART')),
    version integer not null default 0,
    foreign key (school_id, child_a) references child (school_id, id),
    foreign key (school_id, child_b) references child (school_id, id),
    check (child_a < child_b),
    unique (school_id, id),
    unique (school_id, child_a, child_b)
);

create index child_source on child (school_id, source_id) where source_id is not null;

alter table space
    add column walking_minutes integer not null default 0 check (walking_minutes between 0 and 30),
    add column wet_space_id uuid check (wet_space_id <> id),
    add foreign key (school_id, wet_space_id) references space (school_id, id);

-- What stands on or at the floor; centimetres from the corner at the left and the top.
create table space_feature (
    id uuid primary key,
    school_id uuid not null,
    space_id uuid not null,
    kind text not null check (kind in ('WALL', 'DOOR', 'HAZARD', 'LINE', 'CIRCLE')),
    label text not null check (length(label) <= 60),
    colour text check (colour in ('WHITE', 'YELLOW', 'RED', 'BLUE', 'GREEN', 'BLACK')),
    x_cm integer not null check (x_cm between 0 and 20000),
    y_cm integer not null check (y_cm between 0 and 20000),
    dx_cm integer not null check (dx_cm between -20000 and 20000),
    dy_cm integer not null check (dy_cm between -20000 and 20000),
    position integer not null,
    version integer not null default 0,
    foreign key (school_id, space_id) references space (school_id, id),
    unique (school_id, id)
);
create index space_feature_space on space_feature (school_id, space_id, position);

alter table cupboard_item
    add column broken integer not null default 0 check (broken between 0 and 10000),
    add column storage text not null default '' check (length(storage) <= 60),
    add column counted_at timestamptz;

create extension if not exists btree_gist;

create table term (
    id uuid primary key,
    school_id uuid not null references school,
    name text not null check (length(name) between 1 and 60),
    first_day date not null,
    last_day date not null check (last_day >= first_day),
    version integer not null default 0,
    unique (school_id, id),
    exclude using gist (school_id with =, daterange(first_day, last_day, '[]') with &&)
);

create table closure (
    id uuid primary key,
    school_id uuid not null references school,
    name text not null check (length(name) between 1 and 60),
    first_day date not null,
    last_day date not null check (last_day >= first_day),
    from_time time,
    version integer not null default 0,
    unique (school_id, id)
);

create table timetable_slot (
    id uuid primary key,
    school_id uuid not null,
    class_id uuid not null,
    weekday text not null,
    weeks text not null check (weeks in ('EVERY', 'A', 'B')),
    starts time not null,
    minutes integer not null check (minutes between 10 and 120),
    space_id uuid not null,
    version integer not null default 0,
    foreign key (school_id, class_id) references school_class (school_id, id),
    foreign key (school_id, space_id) references space (school_id, id),
    unique (school_id, id)
);

create table booking (
    id uuid primary key,
    school_id uuid not null,
    space_id uuid not null,
    source text not null check (length(source) between 1 and 120),
    title text not null,
    starts timestamptz not null,
    ends timestamptz not null check (ends > starts),
    version integer not null default 0,
    foreign key (school_id, space_id) references space (school_id, id),
    unique (school_id, id)
);
create index booking_when on booking (school_id, ends);

alter table lesson
    add column starts time,
    drop constraint lesson_school_id_unit_id_position_key,
    add unique (school_id, unit_id, position) deferrable initially deferred;

-- A change of one or two lessons with all that it moved, so that it can be taken back.
create table lesson_change (
    id uuid primary key,
    school_id uuid not null,
    lesson_id uuid not null,
    kind text not null check (kind in ('LOST', 'MOVED', 'SWAPPED', 'SHORTENED', 'INDOORS')),
    why text not null check (length(why) <= 120),
    body jsonb not null,
    body_schema integer not null,
    by_person uuid not null references person,
    at timestamptz not null,
    undone_at timestamptz,
    version integer not null default 0,
    foreign key (school_id, lesson_id) references lesson (school_id, id),
    unique (school_id, id)
);
create index lesson_change_lesson on lesson_change (school_id, lesson_id, at);
