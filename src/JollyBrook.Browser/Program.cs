// The page calls the exports; the host itself has nothing to start.
return;
