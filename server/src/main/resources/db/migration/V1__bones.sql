-- The bones: who, where, which children, which cues, which units, which trials.
-- Every school-owned row carries school_id; a foreign key into another school cannot be written, since each is composite.

create table school (
    id uuid primary key,
    name text not null check (length(name) between 1 and 120),
    year_naming text not null check (year_naming in ('YEARS', 'GRADES', 'AGES')),
    time_zone text not null,
    version integer not null default 0
);

create table person (
    id uuid primary key,
    sign_in text not null unique check (sign_in = lower(sign_in) and length(sign_in) between 3 and 120),
    name text not null,
    password_hash text not null,
    version integer not null default 0
);

create table membership (
    id uuid primary key,
    school_id uuid not null references school,
    person_id uuid not null references person,
    role text not null check (role in ('LEAD', 'TEACHER', 'ASSISTANT', 'VIEWER')),
    version integer not null default 0,
    unique (school_id, id),
    unique (school_id, person_id)
);

create table sign_in_failure (
    id bigint generated always as identity primary key,
    sign_in text not null,
    address text not null,
    at timestamptz not null default now()
);
create index sign_in_failure_recent on sign_in_failure (sign_in, at);
create index sign_in_failure_address on sign_in_failure (address, at);

create table space (
    id uuid primary key,
    school_id uuid not null references school,
    name text not null,
    length_cm integer not null check (length_cm between 200 and 20000),
    width_cm integer not null check (width_cm between 200 and 20000 and width_cm <= length_cm),
    ceiling_cm integer check (ceiling_cm between 180 and 5000),
    floor text not null check (floor in ('CARPET', 'WOOD', 'TARMAC', 'GRASS')),
    wall_spots integer not null check (wall_spots between 0 and 200),
    version integer not null default 0,
    unique (school_id, id),
    unique (school_id, name)
);

create table cupboard_item (
    id uuid primary key,
    school_id uuid not null references school,
    item_key text not null,
    count integer not null check (count between 0 and 10000),
    properties jsonb,
    version integer not null default 0,
    unique (school_id, id),
    unique (school_id, item_key)
);

create table school_class (
    id uuid primary key,
    school_id uuid not null references school,
    name text not null check (length(name) between 1 and 60),
    year_age integer not null check (year_age between 3 and 14),
    version integer not null default 0,
    unique (school_id, id),
    unique (school_id, name)
);

create table child (
    id uuid primary key,
    school_id uuid not null references school,
    given text not null check (length(given) between 1 and 60),
    family text not null check (length(family) <= 60),
    year_age integer not null check (year_age between 3 and 14),
    source_id text,
    erased_at timestamptz,
    version integer not null default 0,
    unique (school_id, id)
);

create table child_side (
    id uuid primary key,
    school_id uuid not null,
    child_id uuid not null,
    action text not null check (action in ('THROW', 'BAT', 'KICK')),
    side text not null check (side in ('LEFT', 'RIGHT')),
    version integer not null default 0,
    foreign key (school_id, child_id) references child (school_id, id),
    unique (school_id, id),
    unique (school_id, child_id, action)
);

create table enrolment (
    id uuid primary key,
    school_id uuid not null,
    class_id uuid not null,
    child_id uuid not null,
    from_day date not null,
    to_day date check (to_day >= from_day),
    version integer not null default 0,
    foreign key (school_id, class_id) references school_class (school_id, id),
    foreign key (school_id, child_id) references child (school_id, id),
    unique (school_id, id)
);
create index enrolment_class on enrolment (school_id, class_id, from_day);
create unique index enrolment_open on enrolment (school_id, class_id, child_id) where to_day is null;

create table child_cue (
    id uuid primary key,
    school_id uuid not null,
    child_id uuid not null,
    cue_key text not null,
    state text not null check (state in ('NOT_APPLYING', 'ADAPTED')),
    from_day date not null,
    to_day date,
    version integer not null default 0,
    foreign key (school_id, child_id) references child (school_id, id),
    unique (school_id, id)
);
create unique index child_cue_open on child_cue (school_id, child_id, cue_key) where to_day is null;

-- Immutable versions of know-how; school_id is null for the shipped ones.
create table pack_version (
    sha256 text primary key check (length(sha256) = 64),
    school_id uuid references school,
    pack text not null,
    number integer not null,
    body jsonb not null,
    added_at timestamptz not null default now()
);

create table unit (
    id uuid primary key,
    school_id uuid not null,
    class_id uuid not null,
    title text not null check (length(title) between 1 and 120),
    head_revision uuid,
    version integer not null default 0,
    foreign key (school_id, class_id) references school_class (school_id, id),
    unique (school_id, id)
);
create index unit_class on unit (school_id, class_id);

create table unit_revision (
    id uuid primary key,
    school_id uuid not null,
    unit_id uuid not null,
    parent uuid,
    merged uuid,
    by_person uuid not null references person,
    at timestamptz not null,
    cause text not null,
    packs jsonb not null,
    effort integer not null,
    hard bigint not null,
    medium bigint not null,
    soft bigint not null,
    body jsonb not null,
    body_schema integer not null,
    version integer not null default 0,
    foreign key (school_id, unit_id) references unit (school_id, id),
    foreign key (school_id, parent) references unit_revision (school_id, id),
    unique (school_id, id)
);
create index unit_revision_unit on unit_revision (school_id, unit_id, at);
alter table unit add foreign key (school_id, head_revision) references unit_revision (school_id, id) deferrable initially deferred;

create table lesson (
    id uuid primary key,
    school_id uuid not null,
    unit_id uuid not null,
    position integer not null check (position >= 0),
    on_date date not null,
    minutes integer not null check (minutes between 10 and 120),
    space_id uuid not null,
    state text not null check (state in ('PLANNED', 'TAUGHT', 'LOST')),
    version integer not null default 0,
    foreign key (school_id, unit_id) references unit (school_id, id),
    foreign key (school_id, space_id) references space (school_id, id),
    unique (school_id, id),
    unique (school_id, unit_id, position)
);
create index lesson_date on lesson (school_id, on_date);

create table device (
    id uuid primary key,
    school_id uuid not null references school,
    person_id uuid not null references person,
    first_seen timestamptz not null default now(),
    unique (school_id, id)
);

create table batch (
    id uuid primary key,
    school_id uuid not null,
    device_id uuid not null,
    device_clock timestamptz not null,
    received_at timestamptz not null,
    offset_ms bigint not null,
    foreign key (school_id, device_id) references device (school_id, id),
    unique (school_id, id)
);

-- Append-only. A correction is a row in trial_void; a status is computed, never stored.
create table trial (
    id uuid primary key,
    school_id uuid not null,
    child_id uuid not null,
    cue_key text not null,
    shown boolean not null,
    kind text not null check (kind in ('TEACHER', 'PARTNER', 'SELF', 'HOME', 'SAID')),
    setting text not null check (setting in ('SHAPE', 'DRILL', 'GAME')),
    sitting uuid,
    side text check (side in ('LEFT', 'RIGHT')),
    fault text,
    condition jsonb,
    lesson_id uuid,
    segment_id uuid,
    pack_sha256 text references pack_version,
    observer uuid not null references person,
    device_id uuid not null,
    device_seq bigint not null,
    device_at timestamptz not null,
    seen_at timestamptz not null,
    received_at timestamptz not null,
    payload_sha256 text not null,
    foreign key (school_id, child_id) references child (school_id, id),
    foreign key (school_id, lesson_id) references lesson (school_id, id),
    foreign key (school_id, device_id) references device (school_id, id),
    unique (school_id, id),
    unique (school_id, device_id, device_seq)
);
create index trial_child_cue on trial (school_id, child_id, cue_key, seen_at desc) include (shown);

create table trial_void (
    id uuid primary key,
    school_id uuid not null,
    trial_id uuid not null,
    by_person uuid not null references person,
    at timestamptz not null,
    received_at timestamptz not null,
    foreign key (school_id, trial_id) references trial (school_id, id),
    unique (school_id, id)
);
create index trial_void_trial on trial_void (school_id, trial_id);

-- The same id came again with another content: kept aside, never dropped.
create table trial_conflict (
    id bigint generated always as identity primary key,
    school_id uuid not null references school,
    trial_id uuid not null,
    payload jsonb not null,
    received_at timestamptz not null
);

create table register_event (
    id uuid primary key,
    school_id uuid not null,
    lesson_id uuid not null,
    child_id uuid not null,
    present boolean not null,
    by_person uuid not null references person,
    at timestamptz not null,
    received_at timestamptz not null,
    foreign key (school_id, lesson_id) references lesson (school_id, id),
    foreign key (school_id, child_id) references child (school_id, id),
    unique (school_id, id)
);
create index register_event_lesson on register_event (school_id, lesson_id, child_id, at);

create table cue_taught (
    id uuid primary key,
    school_id uuid not null,
    class_id uuid not null,
    cue_key text not null,
    lesson_id uuid,
    at timestamptz not null,
    foreign key (school_id, class_id) references school_class (school_id, id),
    foreign key (school_id, lesson_id) references lesson (school_id, id),
    unique (school_id, id)
);
create index cue_taught_class on cue_taught (school_id, class_id, cue_key, at);

-- Dated and immutable: a status is computed by the rule in force on its day.
create table mastery_rule (
    id uuid primary key,
    school_id uuid not null references school,
    cue_set text,
    body jsonb not null,
    valid_from date not null,
    version integer not null default 0,
    unique (school_id, id)
);
