using System.Text;
using Antiphon.Core.Channels.Protocols;

namespace Antiphon.Core.Tests.Channels.Protocols;

/// <summary>What a site offers to take is found in its document of services (RFC 5023, section 8).</summary>
public sealed class ServiceDocumentTests
{
    private static readonly Uri Address = new("https://parish.example/atom/service");

    [Fact]
    public void Collections_that_take_entries_are_found_in_their_order()
    {
        var found = Read(
            """
            <workspace>
              <collection href="pictures"><accept>image/png</accept></collection>
              <collection href="news"/>
              <collection href="https://parish.example/letters"><accept>application/atom+xml;type=entry</accept></collection>
              <collection href="nothing"><accept></accept></collection>
              <collection href="feeds"><accept>application/atom+xml;type=feed</accept></collection>
            </workspace>
            """
        );
        Assert.Equal(
            ["https://parish.example/atom/news", "https://parish.example/letters"],
            found!.Select(one => one.AbsoluteUri)
        );
    }

    [Fact]
    public void Addresses_are_resolved_against_the_bases_around_them()
    {
        var found = Read(
            """<workspace xml:base="https://other.example/a/"><collection xml:base="b/" href="c"/></workspace>"""
        );
        Assert.Equal("https://other.example/a/b/c", Assert.Single(found!).AbsoluteUri);
    }

    [Theory]
    [InlineData("<feed xmlns='http://www.w3.org/2005/Atom'/>")]
    [InlineData("<service/>")]
    [InlineData("no xml")]
    [InlineData("<!DOCTYPE service [<!ENTITY a 'aaaa'>]><service xmlns='http://www.w3.org/2007/app'>&a;</service>")]
    public void Anything_else_is_no_document_of_services(string text) =>
        Assert.Null(ServiceDocument.Collections(Encoding.UTF8.GetBytes(text), Address));

    [Fact]
    public void An_address_that_is_none_of_the_web_is_left_out() =>
        Assert.Empty(Read("""<workspace><collection href="ftp://parish.example/a"/></workspace>""")!);

    private static IReadOnlyList<Uri>? Read(string inner) =>
        ServiceDocument.Collections(
            Encoding.UTF8.GetBytes($"<service xmlns=\"http://www.w3.org/2007/app\">{inner}</service>"),
            Address
        );
}
