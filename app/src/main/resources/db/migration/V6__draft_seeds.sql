-- Sites get seeds that follow one another, so that the drafts of neighbours are kept apart.
create sequence draft_seed start with 1 increment by 1 cache 20;
