-- A press is known by its id alone: a device that lost its running number counts anew, and what it sends is no repetition.
alter table trial drop constraint trial_school_id_device_id_device_seq_key;

-- Why the time of a device was not believed: then it is filed under its lesson, or under its arrival.
alter table trial add column doubt text check (doubt in ('AFTER_SENDING', 'FAR_FROM_LESSON', 'LONG_AGO'));
alter table hit_set add column doubt text check (doubt in ('AFTER_SENDING', 'FAR_FROM_LESSON', 'LONG_AGO'));
alter table lesson_event add column doubt text check (doubt in ('AFTER_SENDING', 'FAR_FROM_LESSON', 'LONG_AGO'));
alter table register_event add column doubt text check (doubt in ('AFTER_SENDING', 'FAR_FROM_LESSON', 'LONG_AGO'));

-- What came again with another content waits for somebody who decides.
alter table trial_conflict
    add column by_person uuid references person,
    add column settled text check (settled in ('COUNTED', 'REPLACED', 'LEFT')),
    add column settled_by uuid references person,
    add column settled_at timestamptz;

-- How long a school keeps what; a kind without a rule is kept.
create table retention_rule (
    school_id uuid not null references school,
    kind text not null check (kind in ('LEFT_CHILDREN', 'NOTES', 'LOG', 'DEVICES', 'ASIDE')),
    months integer not null check (months between 1 and 240),
    primary key (school_id, kind)
);

-- The id of a class in the school's own system, so that what is given back finds it.
alter table school_class add column source_id text check (length(source_id) between 1 and 200);
create unique index school_class_source on school_class (school_id, source_id) where left_on is null;

-- Calendars of others that are read anew every night.
create table calendar_subscription (
    id uuid primary key,
    school_id uuid not null,
    space_id uuid not null,
    address text not null check (length(address) between 1 and 400),
    read_at timestamptz,
    problem text,
    version integer not null default 0,
    foreign key (school_id, space_id) references space (school_id, id) on delete cascade,
    unique (school_id, id),
    unique (school_id, space_id, address)
);
