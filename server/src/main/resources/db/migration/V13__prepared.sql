-- Printed, laid out or told to the class: what is planned for such a lesson is changed last.

alter table lesson
    add column prepared boolean not null default false;
