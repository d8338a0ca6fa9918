-- A class that left does not keep its name from the next one.
alter table school_class drop constraint school_class_school_id_name_key;
create unique index school_class_name on school_class (school_id, name) where left_on is null;

-- Another class that comes along to a lesson, since its own teacher is not there.
alter table lesson add with_class uuid;
alter table lesson add foreign key (school_id, with_class) references school_class (school_id, id);
