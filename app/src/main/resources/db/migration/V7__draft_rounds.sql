-- Rounds of the drafts table. A draft is kept as its recipe: with the facts of today it is drawn again.
create table draft_round (
    site char(36) character set ascii not null,
    number int not null,
    recipes text not null,
    pins text not null,
    drawn_at datetime(6) not null default now(6),
    primary key (site, number),
    constraint draft_round_site foreign key (site) references site (id) on delete cascade
);
