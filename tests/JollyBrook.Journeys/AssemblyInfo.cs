// Much of a journey is waiting, so three at a time keep two cores busy; every wait has patience enough for that.
[assembly: CollectionBehavior(MaxParallelThreads = 3)]
