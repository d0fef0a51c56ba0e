-- The classes that were taught. Lengths are whole milliseconds.

create table class_record (
    id integer primary key,
    plan text not null,
    title text not null,
    began text not null,
    slot_ms integer not null,
    planned_ms integer not null,
    taught_ms integer not null,
    unique (plan, began)
) strict;

create index class_record_began on class_record (began);

create table line_record (
    record integer not null references class_record (id) on delete cascade,
    position integer not null,
    line integer not null,
    segment integer not null,
    name text not null,
    subject text not null,
    primary key (record, position)
) strict, without rowid;

create index line_record_subject on line_record (subject);

-- How long a line was planned and taught, by what its time was used for.
create table line_use (
    record integer not null,
    position integer not null,
    what text not null,
    planned_ms integer not null,
    taught_ms integer not null,
    primary key (record, position, what),
    foreign key (record, position) references line_record (record, position) on delete cascade
) strict, without rowid;

create table taken (
    record integer not null references class_record (id) on delete cascade,
    position integer not null,
    words text not null,
    primary key (record, position)
) strict, without rowid;

create table owed (
    record integer not null references class_record (id) on delete cascade,
    position integer not null,
    exercise text not null,
    side text not null,
    unit text not null,
    amount integer not null,
    primary key (record, position)
) strict, without rowid;

create table counted (
    record integer not null references class_record (id) on delete cascade,
    line integer not null,
    number integer not null,
    primary key (record, line)
) strict, without rowid;

create table observation (
    record integer not null references class_record (id) on delete cascade,
    position integer not null,
    quantity text not null,
    style text not null,
    value real not null,
    primary key (record, position)
) strict, without rowid;
