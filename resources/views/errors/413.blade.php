<x-error code="413" title="Too large">What was sent is larger than Fescue reads. A bag file is at most 256 KB.</x-error>
