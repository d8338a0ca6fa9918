-- A class that left does not keep its name from the next one.
alter table school_class drop constraint school_class_school_id_name_key;
create unique index school_class_name on school_class (school_id, name) where left_on is null;
