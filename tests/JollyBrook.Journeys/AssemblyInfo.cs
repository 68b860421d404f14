// Two cores: one browser at a time keeps every wait honest.
[assembly: CollectionBehavior(DisableTestParallelization = true)]
