-- Counts by number (pairs, throws by zone, streaks, things knocked down) and sides that were found out in the hall.

alter table lesson_event
    drop constraint lesson_event_kind_check,
    add check (kind in ('CLOCK', 'SCORE', 'TALK', 'VOTE', 'NOTE', 'COUNT', 'SIDE'));
create index lesson_event_side on lesson_event (school_id, (body ->> 'child'), at) where kind = 'SIDE';
