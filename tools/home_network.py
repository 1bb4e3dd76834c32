"""Both sides of tools/home-network: the phone tries every door, the kitchen makes codes and removes devices when it is asked to.

They talk through files in a folder, as a phone in a network of its own cannot reach this machine's loopback address.
"""

import http.client
import json
import pathlib
import re
import socket
import ssl
import struct
import sys
import time
import urllib.error
import urllib.request
import warnings

KITCHEN, PHONE, OTHER = "10.77.0.1", "10.77.0.2", "10.77.0.3"
HOME, HELLO, OWN = 18443, 18480, 18427
# The old versions are asked for on purpose.
warnings.filterwarnings("ignore", category=DeprecationWarning)

BROWSER = "Mozilla/5.0 (Linux; Android 15) Chrome/156.0.0.0"
ANOTHER = "Mozilla/5.0 (iPhone; CPU iPhone OS 19_0 like Mac OS X) Safari/605.1.15"


def kitchen(folder: pathlib.Path) -> None:
    """Answers what the phone asks for in files, until it is ended."""
    def own(method: str, path: str):
        request = urllib.request.Request(
            f"http://127.0.0.1:{OWN}{path}", method=method, headers={"Content-Type": "application/json"},
            data=b"{}" if method == "POST" else None)
        with urllib.request.urlopen(request) as answer:
            said = answer.read()
        return json.loads(said) if said else None

    while True:
        for asked in folder.glob("ask-*"):
            method, path = asked.read_text().split(" ")
            asked.unlink()
            answer = folder / asked.name.replace("ask-", "new-")
            answer.write_text(json.dumps(own(method, path)))
            answer.rename(folder / asked.name.replace("ask-", "answer-"))
        time.sleep(0.02)


class Phone:
    def __init__(self, folder: pathlib.Path):
        self.folder = folder
        self.number = 0
        self.wrong = 0
        self.trusts = ssl.create_default_context(cadata=self.plain("/mobrel-kitchen.crt")[1])

    def of_kitchen(self, method: str, path: str):
        self.number += 1
        temporary = self.folder / f"draft-{self.number}"
        temporary.write_text(f"{method} {path}")
        temporary.rename(self.folder / f"ask-{self.number}")
        answer = self.folder / f"answer-{self.number}"
        while not answer.exists():
            time.sleep(0.02)
        return json.loads(answer.read_text())

    def plain(self, path: str, method: str = "GET") -> tuple[int, bytes]:
        line = http.client.HTTPConnection(KITCHEN, HELLO, timeout=20)
        line.request(method, path)
        answer = line.getresponse()
        return answer.status, answer.read()

    def home(self, method: str, path: str, body=None, cookies=None, source=PHONE, host=None, origin=None, agent=BROWSER, token=None):
        line = http.client.HTTPSConnection(KITCHEN, HOME, context=self.trusts, timeout=20, source_address=(source, 0))
        line.putrequest(method, path, skip_host=True)
        line.putheader("Host", host or f"{KITCHEN}:{HOME}")
        line.putheader("User-Agent", agent)
        data = b"" if body is None else json.dumps(body).encode()
        for name, value in {"Origin": origin, "Cookie": cookies, "X-XSRF-TOKEN": token,
                            "Content-Type": None if body is None else "application/json",
                            "Content-Length": str(len(data))}.items():
            if value is not None:
                line.putheader(name, value)
        line.endheaders(data)
        answer = line.getresponse()
        return answer.status, answer.read(), answer.headers.get_all("Set-Cookie") or []

    def proves(self, what: str, holds: bool, seen="") -> None:
        print(("  holds  " if holds else "  WRONG  ") + what + (f" ({seen})" if seen != "" else ""))
        self.wrong += not holds

    def every_door(self) -> None:
        document = json.loads((self.folder / "api.json").read_text())
        answers: dict[int, list[str]] = {}
        kept = []
        for path, methods in sorted(document["paths"].items()):
            for method in methods:
                if path.startswith("/api/"):
                    status, body, _ = self.home(method.upper(), re.sub(r"\{[^}]+\}", "1", path), {} if method != "get" else None)
                    answers.setdefault(status, []).append(f"{method.upper()} {path}")
                    if status != 401:
                        kept.append((method.upper(), path, status, body))
        count = sum(len(doors) for doors in answers.values())
        open_doors = sorted(f"{method} {path}" for method, path, _, _ in kept)
        self.proves(f"of {count} doors of the API document {len(answers.get(401, []))} answer 401 to a stranger", count > 100, "")
        self.proves("the others are the way in", open_doors == ["GET /api/access", "POST /api/access/pairing"], ", ".join(open_doors))
        self.proves("which says nothing of the kitchen", all(
            b'"unknown"' in body and b'"people":[]' in body and b'"kitchen":null' in body
            for method, path, _, body in kept if method == "GET"))
        for path in ("/v3/api-docs", "/actuator/health", "/actuator"):
            status = self.home("GET", path)[0]
            self.proves(f"{path} is closed", status in (401, 404), status)
        page, body, _ = self.home("GET", "/stove")
        self.proves("the pages themselves are there, and empty of the kitchen", page == 200 and b"Kidney" not in body, page)

    def other_ways(self) -> None:
        for port, what in ((OWN, "the machine's own door"), (8428, "the database")):
            try:
                socket.create_connection((KITCHEN, port), timeout=5).close()
                self.proves(f"{what} cannot be reached", False, port)
            except OSError as refused:
                self.proves(f"{what} cannot be reached", True, type(refused).__name__)
        for path in ("/api/access", "/api/kitchen", "/stove", "/index.html", "/v3/api-docs"):
            status, body = self.plain(path)
            self.proves(f"unencrypted {path} is nothing of the kitchen", status == 401 and b'"role"' not in body, body[:80])
        status = self.plain("/api/access/pairing", "POST")[0]
        self.proves("nothing can be sent unencrypted", status == 401, status)
        with socket.create_connection((KITCHEN, HOME), timeout=10) as line:
            line.sendall(b"GET /api/access HTTP/1.1\r\nHost: 10.77.0.1\r\n\r\n")
            said = line.recv(2_000)
        self.proves("http at the encrypted port is told nothing", b'"state"' not in said, said[:20])
        for version in (ssl.TLSVersion.TLSv1, ssl.TLSVersion.TLSv1_1):
            old = ssl.SSLContext(ssl.PROTOCOL_TLS_CLIENT)
            old.check_hostname, old.verify_mode = False, ssl.CERT_NONE
            old.set_ciphers("DEFAULT:@SECLEVEL=0")
            old.minimum_version = old.maximum_version = version
            try:
                with socket.create_connection((KITCHEN, HOME), timeout=10) as line, old.wrap_socket(line):
                    self.proves(f"{version.name} is refused", False)
            except (ssl.SSLError, ConnectionError) as refused:
                self.proves(f"{version.name} is refused", True, type(refused).__name__)
        try:
            with socket.create_connection((KITCHEN, HOME), timeout=10) as line:
                ssl.create_default_context().wrap_socket(line, server_hostname=KITCHEN)
            self.proves("who has not installed the certificate is warned", False)
        except ssl.SSLCertVerificationError as warned:
            self.proves("who has not installed the certificate is warned", True, warned.verify_message)
        for host in ("evil.example", f"evil.example:{HOME}", "10.77.0.9", "localhost.evil.example"):
            status = self.home("GET", "/api/access", host=host)[0]
            self.proves(f"rebound name {host} is refused", status == 421, status)
        status = self.home("GET", "/api/access", origin="https://evil.example")[0]
        self.proves("a foreign page is refused", status == 403, status)
        self.proves("mobrel.local is answered for", self.asked_by_multicast() == KITCHEN, self.asked_by_multicast())

    @staticmethod
    def asked_by_multicast() -> str:
        question = struct.pack("!6H", 0, 0, 1, 0, 0, 0) + b"\x06mobrel\x05local\x00" + struct.pack("!2H", 1, 0x8001)
        with socket.socket(socket.AF_INET, socket.SOCK_DGRAM) as line:
            line.setsockopt(socket.IPPROTO_IP, socket.IP_MULTICAST_IF, socket.inet_aton(PHONE))
            line.setsockopt(socket.IPPROTO_IP, socket.IP_MULTICAST_TTL, 255)
            line.settimeout(5)
            line.sendto(question, ("224.0.0.251", 5353))
            try:
                answer, _ = line.recvfrom(9_000)
            except TimeoutError:
                return "nobody"
        return KITCHEN if socket.inet_aton(KITCHEN) in answer else "another address"

    def pair(self, code: str, name: str, **more):
        status, body, cookies = self.home("POST", "/api/access/pairing", {"code": code, "name": name}, **more)
        held = "; ".join(cookie.split(";")[0] for cookie in cookies)
        return status, body, held, " ".join(cookies)

    def devices(self) -> None:
        code = self.of_kitchen("POST", "/api/access/pairing-codes")
        status, _, held, flags = self.pair(code["digits"], "Phone at the stove")
        self.proves("a code lets a device in", status == 200 and "HttpOnly" in flags and "SameSite=Strict" in flags and "Secure" in flags, status)
        status = self.home("GET", "/api/kitchen", cookies=held)[0]
        self.proves("which sees the kitchen", status == 200, status)
        for what, used in (("typed", code["digits"]), ("scanned", code["place"].split("#")[1])):
            status = self.pair(used, "Another", source=OTHER, agent=ANOTHER)[0]
            self.proves(f"the same code, {what} again, is refused", status == 409, status)
        status = self.home("GET", "/api/kitchen", cookies=held, source=OTHER, agent=ANOTHER)[0]
        self.proves("its cookie in another device is refused", status == 401, status)
        status = self.home("POST", "/api/access/sign-out", {}, cookies=held)[0]
        self.proves("a change without the page's token is refused", status == 403, status)

        line = http.client.HTTPSConnection(KITCHEN, HOME, context=self.trusts, timeout=30, source_address=(PHONE, 0))
        line.request("GET", "/api/runs/stream", headers={"Cookie": held, "User-Agent": BROWSER, "Accept": "text/event-stream"})
        stream = line.getresponse()
        heard = stream.read1(4_000)
        mine = [device["id"] for device in self.of_kitchen("GET", "/api/access/devices") if device["name"] == "Phone at the stove"]
        begun = time.monotonic()
        self.of_kitchen("DELETE", f"/api/access/devices/{mine[0]}")
        while stream.read1(4_000):
            pass
        took = time.monotonic() - begun
        self.proves("a removed device loses its line within two seconds", stream.status == 200 and heard != b"" and took < 2, f"{took:.2f} s")
        status = self.home("GET", "/api/kitchen", cookies=held)[0]
        self.proves("and is a stranger again", status == 401, status)

        code = self.of_kitchen("POST", "/api/access/pairing-codes")
        guessed = [self.pair(f"{number:06d}", "Guess")[0] for number in range(5)]
        status = self.pair(code["digits"], "Late")[0]
        self.proves("after five wrong ones the right code is good no more", set(guessed) == {409} and status == 409, status)


if __name__ == "__main__":
    where = pathlib.Path(sys.argv[2])
    if sys.argv[1] == "kitchen":
        kitchen(where)
    else:
        phone = Phone(where)
        phone.every_door()
        phone.other_ways()
        phone.devices()
        print("all of it holds" if phone.wrong == 0 else f"{phone.wrong} of it do not hold")
        sys.exit(1 if phone.wrong else 0)
