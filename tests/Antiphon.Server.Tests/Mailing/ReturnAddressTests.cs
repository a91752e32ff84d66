using Antiphon.Core.Mailing.Returns;
using Antiphon.Server.Mailing.Returns;
using Antiphon.Server.Outgoing.Mail;
using MimeKit;

namespace Antiphon.Server.Tests.Mailing;

public sealed class ReturnAddressTests
{
    private const string Report = """
        From: <postmaster@fellside.example>
        To: <{to}>
        Subject: Undelivered
        MIME-Version: 1.0
        Content-Type: multipart/report; report-type=delivery-status; boundary=b

        --b
        Content-Type: message/delivery-status

        Reporting-MTA: dns; fellside.example

        Final-Recipient: rfc822; wilf@fellside.example
        Action: failed
        Status: 5.1.1

        --b
        Content-Type: message/rfc822

        Message-ID: <known@quillmoor.example>
        Subject: Frost

        x
        --b--
        """;

    private readonly ReturnAddress _addresses = new([1, 2, 3]);

    [Fact]
    public void A_key_comes_back_under_our_signature_alone()
    {
        var address = _addresses.Of("returns@quillmoor.example", "abc").Address;
        Assert.Equal("abc", _addresses.KeyOf(address));
        Assert.Null(_addresses.KeyOf(address.Replace("abc", "abd", StringComparison.Ordinal)));
        Assert.Null(new ReturnAddress([4]).KeyOf(address));
        Assert.Null(_addresses.KeyOf("returns+abc@quillmoor.example"));
        Assert.Null(_addresses.KeyOf("returns@quillmoor.example"));
    }

    [Fact]
    public void A_report_that_anybody_could_write_says_nothing()
    {
        var reader = new ReturnReader(_addresses);
        Assert.Empty(reader.Read(Mail("returns@quillmoor.example")));
        Assert.Empty(reader.Read(Mail("returns+known@quillmoor.example")));
        var back = Assert.Single(reader.Read(Mail(_addresses.Of("returns@quillmoor.example", "known").Address)));
        Assert.Equal((ReturnKind.Hard, "known", null), (back.Kind, back.Key, back.Address));
    }

    [Fact]
    public void A_program_with_the_token_may_name_the_mail_or_the_address()
    {
        var back = Assert.Single(new ReturnReader(_addresses).ReadTrusted(Mail("returns@quillmoor.example")));
        Assert.Equal(("known", "wilf@fellside.example"), (back.Key, back.Address));
    }

    private static MimeMessage Mail(string to) =>
        MimeMessage.Load(
            new MemoryStream(
                System.Text.Encoding.ASCII.GetBytes(
                    Report.Replace("{to}", to, StringComparison.Ordinal).ReplaceLineEndings("\r\n")
                )
            )
        );
}
