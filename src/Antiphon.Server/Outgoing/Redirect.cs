namespace Antiphon.Server.Outgoing;

/// <summary>One step from an address to another.</summary>
/// <param name="From">Where it was asked.</param>
/// <param name="To">Where the answer led.</param>
/// <param name="Status">301, 302, 303, 307 or 308.</param>
internal sealed record Redirect(Uri From, Uri To, int Status)
{
    /// <summary>True when the address should be remembered (RFC 9110 §15.4.2, §15.4.9).</summary>
    public bool IsPermanent => Status is 301 or 308;
}
