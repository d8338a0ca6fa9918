-- Out of how many tries in a hundred a task is neither lost nor too easy here.

alter table school
    add column band_from integer not null default 60,
    add column band_to integer not null default 80,
    add constraint school_band check (band_from >= 30 and band_to <= 95 and band_to - band_from >= 10);
