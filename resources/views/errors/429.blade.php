<x-error code="429" title="Too many tries">Wait a minute, then try again.</x-error>
