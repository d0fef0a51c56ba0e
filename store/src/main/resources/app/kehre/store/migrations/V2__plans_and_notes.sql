-- Plan documents, each once: versions and records refer to them. The bytes are deflated.
create table document (
    id integer primary key,
    print blob not null unique,
    bytes blob not null
) strict;

create table plan (
    id text primary key,
    title text not null,
    group_name text not null,
    day text not null,
    start text not null,
    saved text not null,
    version integer not null,
    deleted integer not null default 0
) strict, without rowid;

create index plan_day on plan (deleted, day desc, start desc);
create index plan_group on plan (group_name, day) where group_name <> '';

create table version (
    id integer primary key autoincrement,
    plan text not null references plan (id) deferrable initially deferred,
    name text not null,
    saved text not null,
    document integer not null references document (id)
) strict;

create index version_plan on version (plan, id);
create index version_document on version (document);

create table plan_word (
    id integer primary key,
    plan text not null unique
) strict;

create virtual table plan_words using fts5 (words, content = '', contentless_delete = 1, tokenize = "unicode61", prefix = '2 3');

alter table class_record add column group_name text not null default '';
alter table class_record add column origin text not null default 'taught';
alter table class_record add column predicted_ms integer not null default 0;
alter table class_record add column usual_ms integer not null default 0;
alter table class_record add column learn integer not null default 1;
alter table class_record add column people integer;
alter table class_record add column newcomers integer;
alter table class_record add column hard integer;
alter table class_record add column next text not null default '';
alter table class_record add column document integer references document (id);
update class_record set predicted_ms = planned_ms, usual_ms = planned_ms;

create index class_record_group on class_record (group_name, began) where group_name <> '';
create index class_record_document on class_record (document);

alter table line_record add column begins_ms integer not null default 0;
alter table line_record add column note text not null default '';
alter table line_record add column hard integer;

drop index line_record_subject;

create table line_subject (
    record integer not null,
    position integer not null,
    subject text not null,
    danced integer not null default 0,
    primary key (record, position, subject),
    foreign key (record, position) references line_record (record, position) on delete cascade
) strict, without rowid;

create index line_subject_subject on line_subject (subject, record);

update line_record set subject = replace(subject, ', ', char(10));

insert into line_subject (record, position, subject)
    select distinct record, position, value from line_record,
        json_each('["' || replace(replace(replace(subject, '\', '\\'), '"', '\"'), char(10), '","') || '"]');

create table segment_record (
    record integer not null references class_record (id) on delete cascade,
    position integer not null,
    segment integer not null,
    name text not null,
    role text not null,
    planned_ms integer not null,
    predicted_ms integer not null,
    usual_ms integer not null,
    taught_ms integer not null,
    primary key (record, position)
) strict, without rowid;

alter table observation add column exercise text not null default '';
alter table observation add column role text not null default 'toning';
-- Of what was seen before, nobody wrote down what was usual for its group; 0 is taken for a usual group.
alter table observation add column usual real not null default 0;

create virtual table record_words using fts5 (words, content = '', contentless_delete = 1, tokenize = "unicode61", prefix = '2 3');

insert into record_words (rowid, words) select id, title from class_record;

create table pace_wish (
    quantity text not null,
    style text not null,
    pinned real,
    since text,
    primary key (quantity, style)
) strict, without rowid;

create table shelf (
    name text primary key,
    bytes blob not null
) strict, without rowid;

create table fitness_result (
    name text not null,
    unit text not null,
    group_name text not null,
    day text not null,
    results text not null,
    primary key (name, group_name, day)
) strict, without rowid;
