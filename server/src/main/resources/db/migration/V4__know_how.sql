-- The know-how of a school's own beside the shipped one, and what is searched in all of it.

-- Typing mistakes are forgiven by trigrams.
create extension if not exists pg_trgm;

-- A version's body is its files, YAML by path. Versions kept before this hold trees by path, which are YAML as well.
comment on column pack_version.body is 'files by path: YAML as text';

create table school_pack (
    id uuid primary key,
    school_id uuid not null references school,
    name text not null check (name ~ '^[a-z0-9]+(-[a-z0-9]+)*$' and length(name) <= 60),
    title text not null check (length(title) between 1 and 60),
    number integer not null,
    own boolean not null,
    sha256 text not null references pack_version,
    version integer not null default 0,
    unique (school_id, id),
    unique (school_id, name)
);
create unique index school_pack_own on school_pack (school_id) where own;

-- What a school has set aside: known to old plans and records, offered for no new ones.
create table set_aside (
    id uuid primary key,
    school_id uuid not null references school,
    key text not null,
    version integer not null default 0,
    unique (school_id, id),
    unique (school_id, key)
);

-- What can be found, one row for each activity and symptom of a pack's version.
create table know_how_entry (
    pack_sha256 text not null references pack_version on delete cascade,
    kind text not null check (kind in ('ACTIVITY', 'SYMPTOM')),
    key text not null,
    name text not null,
    words text not null,
    skill text,
    level integer,
    phases text[] not null default '{}',
    formation text,
    scoring text,
    age_from integer,
    age_to integer,
    minutes_least integer,
    minutes_most integer,
    doc tsvector not null generated always as
        (setweight(to_tsvector('english', name), 'A') || setweight(to_tsvector('english', words), 'B')) stored,
    primary key (pack_sha256, kind, key)
);
create index know_how_entry_doc on know_how_entry using gin (doc);

-- The words that entries are made of: a word with a typing mistake is read as the ones it is most like.
create table know_how_word (
    pack_sha256 text not null references pack_version on delete cascade,
    kind text not null check (kind in ('ACTIVITY', 'SYMPTOM')),
    word text not null,
    primary key (pack_sha256, kind, word)
);
create index know_how_word_alike on know_how_word using gin (word gin_trgm_ops);
