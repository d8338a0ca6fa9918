-- How a lesson ended, said in the hall.
alter table lesson_event
    drop constraint lesson_event_kind_check,
    add check (kind in ('CLOCK', 'SCORE', 'TALK', 'VOTE', 'NOTE', 'COUNT', 'SIDE', 'SHOWED', 'END'));

-- When it was said that a lesson ended, and the plan in which it was still whole where it was cut short: what undo needs.
alter table lesson
    add column ended_at timestamptz,
    add column whole_in uuid,
    add foreign key (school_id, whole_in) references unit_revision (school_id, id);

-- Taught because the lesson was: it goes when that is taken back, what was pressed stays.
alter table cue_taught add column by_end boolean not null default false;
create index cue_taught_lesson on cue_taught (school_id, lesson_id) where by_end;

alter table unit_revision
    drop constraint unit_revision_kind_check,
    add check (
        kind in (
            'PLANNED', 'REPLANNED', 'EDITED', 'ARRIVED', 'LESSON_CHANGED', 'TAKEN', 'TAKEN_BACK', 'PROPOSED', 'CUT_SHORT', 'WHOLE_AGAIN'));

-- What was answered to the proposals on the evening of a lesson.
create table evening_answer (
    id uuid primary key,
    school_id uuid not null,
    lesson_id uuid not null,
    about text not null check (about in ('LOOK', 'FETCH', 'CHANGE')),
    yes boolean not null,
    -- The lesson that it is for, and what to be reminded of there: no names of children.
    for_lesson uuid not null,
    words text not null default '',
    by_person uuid not null references person,
    at timestamptz not null,
    unique (school_id, id),
    unique (school_id, lesson_id, about),
    foreign key (school_id, lesson_id) references lesson (school_id, id),
    foreign key (school_id, for_lesson) references lesson (school_id, id)
);

-- Whom to look at first in a lesson, as somebody decided on the evening of the one before.
create table first_look (
    id uuid primary key,
    school_id uuid not null,
    lesson_id uuid not null,
    child_id uuid not null,
    cue_key text not null,
    unique (school_id, id),
    unique (school_id, lesson_id, child_id, cue_key),
    foreign key (school_id, lesson_id) references lesson (school_id, id),
    foreign key (school_id, child_id) references child (school_id, id) on delete cascade
);
