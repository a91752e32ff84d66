namespace Antiphon.Server.Work;

/// <summary>How many deliveries an act touched.</summary>
internal sealed record TouchedView(int Count);

/// <summary>Failed deliveries that are tried again; null takes those of every answer.</summary>
internal sealed record RetryRequest(string? Answer = null);
