<?php

declare(strict_types=1);

// A mail server of its own on loopback: says its port, takes one letter, says it, and is done.

$server = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
echo substr(strrchr((string) stream_socket_get_name($server, false), ':') ?: '', 1), "\n";
$line = stream_socket_accept($server, 20) ?: throw new RuntimeException('Nobody came.');
fwrite($line, "220 letterbox\r\n");
$letter = '';
$isWritten = false;
while (($said = fgets($line)) !== false) {
    if ($isWritten && rtrim($said) === '.') {
        fwrite($line, "250 taken\r\n");
        // Whoever sent it says nothing more before it ends itself.
        break;
    } elseif ($isWritten) {
        $letter .= $said;
    } else {
        $word = strtoupper(substr($said, 0, 4));
        $isWritten = $word === 'DATA';
        $letter .= $word === 'RCPT' ? $said : '';
        fwrite($line, match ($word) {
            'DATA' => "354 go on\r\n",
            'QUIT' => "221 bye\r\n",
            default => "250 letterbox\r\n",
        });
        if ($word === 'QUIT') {
            break;
        }
    }
}
echo $letter;
