<x-error code="503" title="The shelf is out of reach">Fescue’s database does not answer. Nothing is lost. Run <kbd>./fescue start</kbd> again, or wait a moment and load the page anew.</x-error>
