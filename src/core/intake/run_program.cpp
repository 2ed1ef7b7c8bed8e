#include "core/intake/run_program.h"

#include "core/base/told.h"

#include <array>
#include <cerrno>
#include <csignal>
#include <cstring>

#include <fcntl.h>
#include <poll.h>
#include <spawn.h>
#include <sys/wait.h>
#include <unistd.h>

extern char** environ;

namespace ink::detail {
namespace {

struct Pipe
{
    int read_end = -1, write_end = -1;

    Pipe()
    {
        int ends[2];
        if (::pipe2(ends, O_CLOEXEC) == 0)
            read_end = ends[0], write_end = ends[1];
    }
    ~Pipe()
    {
        closeWriteEnd();
        if (read_end >= 0)
            ::close(read_end);
    }
    Pipe(const Pipe&) = delete;
    Pipe& operator=(const Pipe&) = delete;
    void closeWriteEnd()
    {
        if (write_end >= 0)
            ::close(write_end);
        write_end = -1;
    }
};

} // namespace

Result<ProgramOutput> runProgram(const std::vector<std::string>& arguments,
                                 std::chrono::milliseconds patience, std::size_t max_bytes)
{
    const std::string& name = arguments.front();
    Pipe out, err;
    if (out.read_end < 0 || err.read_end < 0)
        return fail(ErrorCode::HelperFailed, name, std::strerror(errno));
    posix_spawn_file_actions_t actions;
    posix_spawn_file_actions_init(&actions);
    posix_spawn_file_actions_addopen(&actions, STDIN_FILENO, "/dev/null", O_RDONLY, 0);
    posix_spawn_file_actions_adddup2(&actions, out.write_end, STDOUT_FILENO);
    posix_spawn_file_actions_adddup2(&actions, err.write_end, STDERR_FILENO);
    std::vector<char*> argv;
    for (const auto& argument : arguments)
        argv.push_back(const_cast<char*>(argument.c_str()));
    argv.push_back(nullptr);
    pid_t child = 0;
    const int problem = ::posix_spawnp(&child, name.c_str(), &actions, nullptr, argv.data(), environ);
    posix_spawn_file_actions_destroy(&actions);
    out.closeWriteEnd();
    err.closeWriteEnd();
    if (problem != 0)
        return fail(ErrorCode::HelperFailed, name, std::strerror(problem));

    ProgramOutput output;
    const auto deadline = std::chrono::steady_clock::now() + patience;
    std::string complaint;
    std::array<pollfd, 2> ends{pollfd{out.read_end, POLLIN, 0}, pollfd{err.read_end, POLLIN, 0}};
    int open = 2;
    while (open > 0 && complaint.empty()) {
        const auto left =
            std::chrono::duration_cast<std::chrono::milliseconds>(deadline - std::chrono::steady_clock::now())
                .count();
        if (left <= 0) {
            complaint = told("it took too long");
            break;
        }
        if (::poll(ends.data(), ends.size(), static_cast<int>(left)) < 0 && errno != EINTR) {
            complaint = std::strerror(errno);
            break;
        }
        for (std::size_t i = 0; i < ends.size(); ++i) {
            if (ends[i].fd < 0 || ends[i].revents == 0)
                continue;
            std::array<char, 16384> block{};
            const auto got = ::read(ends[i].fd, block.data(), block.size());
            if (got <= 0) {
                ends[i].fd = -1;
                --open;
                continue;
            }
            auto& text = i == 0 ? output.out : output.err;
            text.append(block.data(), static_cast<std::size_t>(got));
            if (output.out.size() + output.err.size() > max_bytes)
                complaint = told("it said too much");
        }
    }
    if (!complaint.empty())
        ::kill(child, SIGKILL);
    int status = 0;
    while (::waitpid(child, &status, 0) < 0 && errno == EINTR) {
    }
    if (!complaint.empty())
        return fail(ErrorCode::HelperFailed, name, complaint);
    if (!WIFEXITED(status))
        return fail(ErrorCode::HelperFailed, name, "it broke off");
    output.status = WEXITSTATUS(status);
    if (output.status == 127 && output.out.empty())
        return fail(ErrorCode::HelperFailed, name, "it is not installed");
    return output;
}

} // namespace ink::detail
