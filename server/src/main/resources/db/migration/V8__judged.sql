-- What a teacher says beside what was counted: calls with a reason, who showed a cue to the others, formal tests, and tries at home.

alter table lesson_event
    drop constraint lesson_event_kind_check,
    add check (kind in ('CLOCK', 'SCORE', 'TALK', 'VOTE', 'NOTE', 'COUNT', 'SIDE', 'SHOWED'));

alter table hit_set
    add column kind text not null default 'TEACHER' check (kind in ('TEACHER', 'HOME')),
    alter column lesson_id drop not null,
    add check (lesson_id is not null or kind = 'HOME');

alter table trial add column formal boolean not null default false;
comment on column trial.formal is 'one of two trials of a test; only these make its score';
create index trial_formal on trial (school_id, child_id) where formal;

-- Append-only: the latest one counts. owned is null where a call is taken back.
create table mastery_call (
    id uuid primary key,
    school_id uuid not null,
    child_id uuid not null,
    cue_key text not null,
    owned boolean,
    reason text not null check (length(reason) between 1 and 300),
    by_person uuid not null references person,
    at timestamptz not null,
    foreign key (school_id, child_id) references child (school_id, id),
    unique (school_id, id)
);
create index mastery_call_child on mastery_call (school_id, child_id, cue_key, at);

-- Whose looks and minutes they are is asked by person.
create index lesson_event_person on lesson_event (school_id, by_person, at) where kind = 'CLOCK';
