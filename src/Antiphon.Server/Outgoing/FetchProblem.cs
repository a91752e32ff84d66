namespace Antiphon.Server.Outgoing;

/// <summary>Why an address could not be fetched.</summary>
internal enum FetchProblem
{
    /// <summary>No http(s) address.</summary>
    NotAnAddress,

    /// <summary>The name is unknown or nobody answers there.</summary>
    Unreachable,

    /// <summary>It took too long.</summary>
    TooSlow,

    /// <summary>It leads to a private or loopback address.</summary>
    NotAllowed,

    /// <summary>The answer is an error; the detail is its status.</summary>
    ErrorStatus,

    /// <summary>The answer is larger than allowed.</summary>
    TooLarge,

    /// <summary>The page is built of more than is taken in; the detail says of what.</summary>
    TooComplex,

    /// <summary>The secure connection failed; the detail says why.</summary>
    Insecure,

    /// <summary>It redirects to what is no http(s) address; the detail says to what.</summary>
    BadRedirect,

    /// <summary>It redirects something confidential to another site; the detail says to which.</summary>
    LeavesOrigin,

    /// <summary>It was fetched, and dealing with it failed in a way nobody foresaw; the detail says how.</summary>
    Unusable,

    /// <summary>It redirects without end.</summary>
    TooManyRedirects,
}
