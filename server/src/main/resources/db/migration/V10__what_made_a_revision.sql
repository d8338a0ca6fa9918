-- What made a revision, and what was asked for, each in a column of its own: until now both stood in the words of its cause.
alter table unit_revision
    add column kind text,
    add column reason text not null default '';

update unit_revision
set kind = case
        when cause like 'A proposal%' then 'PROPOSED'
        when cause = 'Planned' then 'PLANNED'
        when cause = 'Replanned the rest' then 'REPLANNED'
        when cause like 'Taken over %' then 'ARRIVED'
        when cause like 'Took back: %' then 'TAKEN_BACK'
        when cause ~ '^Took [0-9]+ lessons? of ' then 'TAKEN'
        when cause ~ '^Lesson [0-9]+ (lost|moved|swapped|shortened|moved indoors)$' then 'LESSON_CHANGED'
        else 'EDITED'
    end;

update unit_revision
set reason = substring(cause from length('A proposal: ') + 1), cause = 'A proposal'
where kind = 'PROPOSED' and cause like 'A proposal: %';

alter table unit_revision
    alter column kind set not null,
    alter column reason drop default,
    add check (kind in ('PLANNED', 'REPLANNED', 'EDITED', 'ARRIVED', 'LESSON_CHANGED', 'TAKEN', 'TAKEN_BACK', 'PROPOSED')),
    drop column merged;

-- A browser that somebody signed in with before: it waits for its own wrong tries alone.
create table known_device (
    person_id uuid not null references person,
    secret_sha256 text not null check (length(secret_sha256) = 64),
    since timestamptz not null,
    primary key (person_id, secret_sha256)
);
