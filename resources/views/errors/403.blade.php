<x-error code="403" title="Not yours to see">This page is closed to you. Sign in with the account it belongs
    to.</x-error>
