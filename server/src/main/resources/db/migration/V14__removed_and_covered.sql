-- A unit that was removed by mistake can be brought back for a while; its lessons go and come with it.
alter table unit add removed_at timestamptz;
alter table lesson add removed_at timestamptz;

-- What of the kit can be had for a lesson, when others have the rest.
alter table lesson add kit_percent integer not null default 100 check (kit_percent between 0 and 100);

alter table lesson_change drop constraint lesson_change_kind_check;
alter table lesson_change add constraint lesson_change_kind_check
    check (kind in ('LOST', 'MOVED', 'SWAPPED', 'SHORTENED', 'INDOORS', 'DOORWAY'));

-- Opens one lesson for whoever covers it, without an account, until it is over. The code itself is not kept.
create table cover_code (
    id uuid primary key,
    school_id uuid not null references school,
    lesson_id uuid not null,
    secret_sha256 text not null unique,
    by_person uuid not null references person,
    at timestamptz not null,
    ends_at timestamptz not null,
    version integer not null default 0,
    unique (school_id, id),
    foreign key (school_id, lesson_id) references lesson (school_id, id)
);
create index cover_code_lesson on cover_code (school_id, lesson_id);
