-- A class that left does not keep its name from the next one.
alter table school_class drop constraint school_class_school_id_name_key;
create unique index school_class_name on school_class (school_id, name) where left_on is null;

-- Another class that comes along to a lesson, since its own teacher is not there.
alter table lesson add with_class uuid;
alter table lesson add foreign key (school_id, with_class) references school_class (school_id, id);

-- Which skills a class is to have in a half term, before there are units for them.
create table year_skills (
    id uuid primary key,
    school_id uuid not null references school,
    class_id uuid not null,
    from_day date not null,
    skills jsonb not null,
    version integer not null default 0,
    unique (school_id, id),
    unique (school_id, class_id, from_day),
    foreign key (school_id, class_id) references school_class (school_id, id)
);
comment on column year_skills.skills is 'keys of skills, in order';
comment on column year_skills.from_day is 'first day of the half term';

alter table school add paper text not null default 'A4' check (paper in ('A4', 'LETTER'));
