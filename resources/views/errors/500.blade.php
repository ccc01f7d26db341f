<x-error code="500" title="Something broke here">The fault is Fescue’s, not yours, and it is written in the log. What
    was kept is safe; go back and try again.</x-error>
