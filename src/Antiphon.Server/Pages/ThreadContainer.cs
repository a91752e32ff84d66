using Antiphon.Core.Comments.Threads;

namespace Antiphon.Server.Pages;

/// <summary>What our own markup puts a thread into; the script of the page fills it.</summary>
internal static class ThreadContainer
{
    /// <summary>Its start tag, as safe HTML.</summary>
    /// <param name="key">Which thread.</param>
    /// <param name="address">The post's canonical address, which the page around it may not be.</param>
    /// <param name="title">The post's title.</param>
    public static string Begin(ThreadKey key, string address, string title) =>
        $"<div {ThreadKey.Attribute}=\"{Encoded.Html(key.ToString())}\" {ThreadKey.AddressAttribute}=\"{Encoded.Html(address)}\" {ThreadKey.NameAttribute}=\"{Encoded.Html(title)}\">";
}
