-- What waited before there were priorities goes with what is ordinary now.
update scheduled_tasks set priority = 50 where priority is null;
