namespace Antiphon.StandIns.World;

/// <summary>A feed of somebody in the county.</summary>
/// <param name="File">Name of its file, which is the end of its address.</param>
/// <param name="Title">Who publishes it.</param>
/// <param name="What">What is good or wrong with it, for people who look at the stand-ins.</param>
/// <param name="ContentType">The Content-Type its server sends.</param>
/// <param name="Encoding">Name of the encoding its bytes really are in.</param>
public sealed record CountyFeed(string File, string Title, string What, string ContentType = "application/rss+xml; charset=utf-8", string Encoding = "utf-8")
{
    /// <summary>Its name without the ending.</summary>
    public string Name => Path.GetFileNameWithoutExtension(File);
}
